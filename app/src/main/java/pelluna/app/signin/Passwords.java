package pelluna.app.signin;

import java.util.List;
import me.gosimple.nbvcxz.Nbvcxz;
import me.gosimple.nbvcxz.resources.ConfigurationBuilder;
import me.gosimple.nbvcxz.resources.Dictionary;
import me.gosimple.nbvcxz.resources.DictionaryBuilder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import pelluna.app.limits.Refused;

/**
 * What a new password must be: long enough, and not among those that are tried first. Nothing is asked of its letters
 * (NIST SP 800-63B, 3.1.1.2).
 */
@Component
class Passwords {
    /** NIST SP 800-63B asks for 8 and recommends 15; this is Pelluna's judgement. */
    static final int SHORTEST = 10;

    static final int LONGEST = 128;

    private final PasswordEncoder encoder;

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /**
     * @param field under which it was typed
     * @param known what others know of who types it, as name and address
     * @return as it is kept
     * @throws Refused beside the field
     */
    String kept(String field, String typed, String... known) {
        int letters = typed.codePointCount(0, typed.length());
        if (letters < SHORTEST) {
            throw new Refused(field, new SignInRefusal.TooShort(SHORTEST));
        }
        if (letters > LONGEST) {
            throw new Refused(field, new SignInRefusal.TooLong(LONGEST));
        }
        if (easilyGuessed(typed, known)) {
            throw new Refused(field, new SignInRefusal.EasilyGuessed());
        }
        return encoder.encode(typed);
    }

    boolean matches(String typed, String kept) {
        return kept != null && encoder.matches(typed, kept);
    }

    private static boolean easilyGuessed(String typed, String... known) {
        DictionaryBuilder own = new DictionaryBuilder()
                .setDictionaryName("own")
                .setExclusion(true)
                .addWord("pelluna", 0);
        for (String word : known) {
            for (String part : word.split("[^\\p{L}\\p{N}]+")) {
                if (part.length() > 2) {
                    own.addWord(part, 0);
                }
            }
        }
        List<Dictionary> all = ConfigurationBuilder.getDefaultDictionaries();
        all.add(own.createDictionary());
        return !new Nbvcxz(new ConfigurationBuilder().setDictionaries(all).createConfiguration())
                .estimate(typed)
                .isMinimumEntropyMet();
    }
}
