/** One thing of a machine: right, to be mended, or only told. */
interface Found {
  good: boolean | null;
  says: string;
}
export declare const ofNode: (version: string, wanted: string) => Found;
export declare const ofBuild: (isBuilt: boolean) => Found;
export declare const ofServer: (address: string | null, answers: boolean) => Found;
export declare const ofDatabase: (
  found: Record<'applied' | 'shipped', number> & { version: string },
) => Found;
export declare const ofDisk: (bytes: Record<'free' | 'whole', number>) => Found;
export declare const ofCopies: (newest: { takenAt: string } | undefined, nowMs: number) => Found;
export declare const ofCertificate: (validTo: string | null, nowMs: number) => Found;
export declare const ofClock: (latest: string | null, nowMs: number) => Found;
