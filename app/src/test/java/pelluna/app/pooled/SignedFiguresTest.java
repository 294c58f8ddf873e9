package pelluna.app.pooled;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.util.Base64;
import org.junit.jupiter.api.Test;
import pelluna.app.limits.Refused;
import pelluna.core.catalogue.Catalogue;

/** Files of figures: signed, changed, unsigned, and none. */
class SignedFiguresTest {
    private static final String PLAIN = """
        {"pellunaFigures": 1, "tanks": 12, "saidAndHappened": [
          {"topic": "jumping", "saidAndHappened": 1, "saidOnly": 2, "happenedOnly": 0, "neither": 6}],
         "pairs": [{"aggressor": "Pseudochromis springeri", "target": "royal gramma", "keepers": 11,
           "seenToFightHard": 7, "expected": 4.6}],
         "kinds": [{"species": "royal gramma", "keepers": 9, "fish": 12, "days": 6100, "lost": 3}]}""";
    private final FiguresReader reader = new FiguresReader(Catalogue.shipped());

    static KeyPair key() {
        try {
            return KeyPairGenerator.getInstance(SignedFigures.ALGORITHM).generateKeyPair();
        } catch (GeneralSecurityException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void whatIsSignedIsReadAndSaysByWhom() {
        KeyPair key = key();
        SignedFigures.Opened opened = SignedFigures.open(SignedFigures.sign(PLAIN, key));
        assertThat(opened.signedBy()).contains(SignedFigures.name(key.getPublic()));
        assertThat(reader.read(opened.figures()).pairs()).singleElement().satisfies(p -> {
            assertThat(p.target()).as("by its accepted name").isEqualTo("Gramma loreto");
            assertThat(p.keepers()).isEqualTo(11);
            assertThat(p.seenToFightHard()).isEqualTo(7);
        });
        assertThat(reader.read(opened.figures()).saidAndHappened()).hasSize(1);
        assertThat(reader.read(opened.figures()).kinds())
                .singleElement()
                .satisfies(k -> assertThat(k.species()).isEqualTo("Gramma loreto"));
        assertThat(SignedFigures.open(PLAIN).signedBy()).isEmpty();
    }

    @Test
    void whatWasChangedAfterwardsIsRefused() {
        String signed = SignedFigures.sign(PLAIN, key());
        String more = Base64.getUrlEncoder()
                .withoutPadding()
                .encodeToString(PLAIN.replace("\"seenToFightHard\": 7", "\"seenToFightHard\": 11")
                        .getBytes(StandardCharsets.UTF_8));
        String changed = signed.replaceFirst("\\.[^.]*\\.", "." + more + ".");
        assertThat(changed).isNotEqualTo(signed);
        assertThatThrownBy(() -> SignedFigures.open(changed))
                .isInstanceOfSatisfying(
                        Refused.class, e -> assertThat(e.why()).isEqualTo(new PooledRefusal.WrongSignature()));
        assertThatThrownBy(() -> SignedFigures.open(signed.substring(0, signed.length() - 9) + "AAAAAAAAA"))
                .isInstanceOf(Refused.class);
        assertThatThrownBy(() -> SignedFigures.open("e30.e30.e30")).isInstanceOf(Refused.class);
    }

    @Test
    void whatIsNoFileOfFiguresIsRefused() {
        for (String none : new String[] {
            "",
            "[]",
            "{}",
            "{\"pellunaFigures\": 2, \"pairs\": []}",
            "no json",
            PLAIN.replace("\"keepers\": 11", "\"keepers\": 5"),
            PLAIN.replace("\"keepers\": 11", "\"keepers\": -1"),
            PLAIN.replace("\"keepers\": 11", "\"keepers\": 1e12"),
            PLAIN.replace("4.6", "\"many\""),
            PLAIN.replace("4.6", "12"),
            PLAIN.replace("\"lost\": 3", "\"lost\": 13"),
            PLAIN.replace("\"keepers\": 9", "\"keepers\": 0"),
            PLAIN.replace("\"saidOnly\": 2", "\"saidOnly\": 2.5")
        }) {
            assertThatThrownBy(() -> reader.read(SignedFigures.open(none).figures()))
                    .as(none)
                    .isInstanceOf(Refused.class);
        }
        assertThat(reader.read(SignedFigures.open(PLAIN.replace("royal gramma", "no such fish"))
                                .figures())
                        .pairs())
                .isEmpty();
    }
}
