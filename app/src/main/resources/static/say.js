// What scripts say stands in the messages of the server, like everything that is said.
// The page loads them in its language before this.
const { dates, messages } = window.pellunaWords;

// The message of a key, its arguments put in by their places.
export function say(key, ...values) {
  if (!(key in messages)) { throw new Error(`no message ${key}`); }
  return messages[key].replace(/\{(\d+)\}/g, (whole, place) => values[place]);
}

const plurals = new Intl.PluralRules(dates);

// Of several messages the one that suits a number.
export function sayCount(key, count) {
  const of = `${key}.${plurals.select(count)}`;
  return say(of in messages ? of : `${key}.other`, count);
}

// How days are written: the parts that are asked for, in the reader's language.
export function dayFormat(parts) {
  return new Intl.DateTimeFormat(dates, { ...parts, timeZone: 'UTC' });
}
