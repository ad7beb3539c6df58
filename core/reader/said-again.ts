/** "240C/220C fan", "or on high for 5 hours": the same, for another oven or setting. */
export function isSaidAgain(
  text: string,
  { from, to }: { readonly from: number; readonly to: number },
): boolean {
  const other = /^[°º\s]*[CF]?\s*(?:fan|convection|con ventilador|gas)(?![a-zß-ɏ])/i.test(
    text.slice(to),
  );
  const instead =
    /(?:\d\s*[°º]?\s*[CF]?\s*[/(,]\s*(?:fan|convection)\s*|(?<![a-zß-ɏ])(?:or|o)(?: on)? (?:the )?(?:low|high|bajo|alto)[^.;]{0,20}|\d\s*[°º]?\s*[CF]?(?: fan)?\s*[/(]\s*)$/i;
  // "2 hours (40 minutes in a pressure cooker)".
  const device =
    /^[^()]{0,40}(?:olla (?:r[aá]pida|expr[eé]s|a presi[oó]n|lenta)|(?:pressure|slow) cooker|microwave|microondas)[^()]{0,20}\)/i;
  const inBrackets = text.slice(0, from).lastIndexOf('(') > text.slice(0, from).lastIndexOf(')');
  // "(so 1 hour 20 for a 2 kg joint)".
  const worked =
    inBrackets &&
    (/\((?:so|that is|i\.?e\.?|es decir|o sea)[^()]*$/i.test(text.slice(0, from)) ||
      BY_WEIGHT.test(text.slice(to)));
  return (
    other ||
    worked ||
    instead.test(text.slice(0, from)) ||
    (inBrackets && device.test(text.slice(to)))
  );
}

/** "30 minutes (reckon on 25 minutes a kilo)". */
const BY_WEIGHT =
  /^\s*(?:per|a|for each|for every|por|cada|to the)\s+(?:\d+ ?)?(?:kg|kilos?|g|lb|pound|libra|medio kilo)/i;
