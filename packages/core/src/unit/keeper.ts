/** Keeps answers with the object that they are about, by a key: each is worked out once, and goes when the object goes. */
export function keeper<Owner extends object, Answer extends object>() {
  const known = new WeakMap<Owner, Map<string, Answer>>();
  return (owner: Owner, key: string, find: () => Answer): Answer => {
    const ofOwner = known.get(owner) ?? new Map<string, Answer>();
    known.set(owner, ofOwner);
    const answer = ofOwner.get(key) ?? find();
    ofOwner.set(key, answer);
    return answer;
  };
}
