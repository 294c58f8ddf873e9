package pelluna.core.units;

/**
 * Something that is so, for a reader to be told: a record whose name is the code and whose components are the typed
 * arguments, figures in metric units. It holds no text. How it is said in a language stands in the module
 * {@code words}, under the package's last name and the record's, such as {@code sieve.JumpsOut}.
 */
public interface Statement {}
