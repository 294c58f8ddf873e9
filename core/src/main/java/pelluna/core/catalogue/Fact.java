package pelluna.core.catalogue;

/**
 * One fact as it is written in a catalogue file: 'value ~ source'.
 *
 * @param place file and line, such as 'acanthuridae.yaml:12', for messages
 */
public record Fact(String key, String value, Source source, String place) { }
