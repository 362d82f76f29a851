/** How Caddy stands in front of Spalo: HTTPS by its own authority, or public certificates; the page for phones by plain HTTP. */
export function caddyFile({ hosts, https, http, port, folder, isPublic }) {
  const site = hosts.map((host) => `https://${host}:${https}`).join(', ');
  const front = `${site} {
${isPublic ? '' : '\ttls internal\n'}\treverse_proxy 127.0.0.1:${port} {
\t\tflush_interval -1
\t}
}
`;
  const page = `http://:${http} {
\troot * ${folder}/page
\theader /spalo-root.crt Content-Type application/x-x509-ca-cert
\tfile_server
}
`;
  return `{
\tadmin off
\tskip_install_trust
\thttp_port ${http}
\thttps_port ${https}
\tstorage file_system ${folder}
${isPublic ? '' : '\tauto_https disable_redirects\n'}}

${front}${isPublic ? '' : `\n${page}`}`;
}

/** The page that hands a phone the certificate of Spalo's own authority, and says how it is trusted. */
export const phonePage = (address) => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>Spalo on this phone</title>
<style>
  body { font: 1.0625rem/1.5 system-ui, sans-serif; margin: 1.25rem; max-width: 34rem; color: #17211c; background: #eef1ec; }
  a.main { display: block; padding: 0.875rem 1rem; border-radius: 1rem; background: #2b5a43; color: #fff; text-align: center; text-decoration: none; font-weight: 600; }
  li { margin: 0.375rem 0; }
</style>
<h1>Spalo on this phone</h1>
<p>Once for each phone. It lets the phone trust this gym’s own address, so that Spalo works without network, installs and films.</p>
<h2>1. The certificate</h2>
<p><a class="main" href="/spalo-root.crt">Take the certificate</a></p>
<h2>2. Trust it</h2>
<p><strong>iPhone, iPad</strong></p>
<ol>
  <li>Settings, General, VPN and device management: the profile that was taken; Install.</li>
  <li>Settings, General, About, Certificate trust settings: switch it on.</li>
</ol>
<p><strong>Android</strong></p>
<ol>
  <li>Settings, search for “CA certificate”; Install anyway.</li>
  <li>Choose spalo-root.crt from the downloads.</li>
</ol>
<p>Its key lies on the gym’s machine: whoever holds that could vouch for any address to this phone. Who leaves the gym removes it in the same place.</p>
<h2>3. Open Spalo</h2>
<p><a class="main" href="${address}">${address}</a></p>
<p>Then, in the browser’s menu: Add to home screen.</p>
</html>
`;
