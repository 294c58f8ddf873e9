package pelluna.app.limits;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;

/** Text from bytes: UTF-8, with or without a byte order mark, and nothing in the place of what is not. */
public final class Utf8 {
    private static final char MARK = '\ufeff';
    /** What stands where a decoder could not read. */
    private static final char UNREAD = '\ufffd';

    private Utf8() {}

    /** @throws Unreadable if it is no UTF-8, or holds NUL */
    public static String text(String field, byte[] bytes) {
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            String plain = unmarked(text);
            if (!clean(plain)) {
                throw new Unreadable(field, new LimitRefusal.NoText());
            }
            return plain;
        } catch (CharacterCodingException e) {
            throw new Unreadable(field, new LimitRefusal.NotUtf8(), e);
        }
    }

    /** Text without a byte order mark. */
    public static String unmarked(String text) {
        return text.isEmpty() || text.charAt(0) != MARK ? text : text.substring(1);
    }

    /** Whether text has neither NUL nor signs that could not be read, nor half of a pair. */
    public static boolean clean(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean pair = Character.isHighSurrogate(c)
                    && i + 1 < text.length()
                    && Character.isLowSurrogate(text.charAt(i + 1));
            if (c == 0 || c == UNREAD || Character.isSurrogate(c) && !pair) {
                return false;
            }
            i += pair ? 1 : 0;
        }
        return true;
    }
}
