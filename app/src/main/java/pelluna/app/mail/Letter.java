package pelluna.app.mail;

import java.time.Instant;

/**
 * A letter.
 *
 * @param address whom it goes to
 * @param body plain text, lines parted by line ends
 */
public record Letter(String address, String subject, String body, Instant writtenAt) {}
