package pelluna.app.signin;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.Locale;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import pelluna.app.account.Keepers;

/** A code on the console for whoever makes the first account: only who has the machine can own the server. */
@Component
class OwnersCode {
    /** Without what is taken for another. */
    private static final String LETTERS = "ABCDEFGHJKMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 10;

    private final Keepers keepers;
    private final String code;

    OwnersCode(Keepers keepers) {
        this.keepers = keepers;
        this.code = new SecureRandom()
                .ints(LENGTH, 0, LETTERS.length())
                .mapToObj(i -> String.valueOf(LETTERS.charAt(i)))
                .reduce("", String::concat);
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order
    void tell() {
        if (!keepers.any()) {
            System.out.println("First visit: make your account with this code: " + code);
        }
    }

    boolean is(String typed) {
        String plain = typed.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9]", "");
        return MessageDigest.isEqual(plain.getBytes(StandardCharsets.UTF_8), code.getBytes(StandardCharsets.UTF_8));
    }
}
