package pelluna.words;

/** The units a keeper reads and types. All computation stays metric; only words and form fields change. */
public enum UnitSystem {
    METRIC,
    US
}
