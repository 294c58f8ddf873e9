package pelluna.app.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.cert.CertPathValidator;
import java.security.cert.CertPathValidatorException;
import java.security.cert.CertificateFactory;
import java.security.cert.PKIXParameters;
import java.security.cert.TrustAnchor;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The authority of a house: whose key it is, for what it can speak, and how long. */
class HouseAuthorityTest {
    private static final Clock CLOCK = Clock.systemDefaultZone();

    @TempDir
    Path folder;

    private HouseAuthority authority() throws IOException, GeneralSecurityException {
        return new HouseAuthority(folder, "reefbox", List.of(), CLOCK);
    }

    private List<X509Certificate> chain() throws IOException, GeneralSecurityException {
        try (InputStream in = Files.newInputStream(folder.resolve("server.crt"))) {
            return certificates(CertificateFactory.getInstance("X.509").generateCertificates(in));
        }
    }

    private X509Certificate trusted() throws IOException, GeneralSecurityException {
        try (InputStream in = Files.newInputStream(folder.resolve("authority.crt"))) {
            return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
        }
    }

    private static List<X509Certificate> certificates(Collection<?> read) {
        return read.stream().map(X509Certificate.class::cast).toList();
    }

    /** As RFC 5280 has it, by the Java platform. */
    private void validate() throws IOException, GeneralSecurityException {
        List<X509Certificate> chain = chain();
        PKIXParameters trusting = new PKIXParameters(Set.of(new TrustAnchor(trusted(), null)));
        trusting.setRevocationEnabled(false);
        CertPathValidator.getInstance("PKIX")
                .validate(CertificateFactory.getInstance("X.509").generateCertPath(chain), trusting);
    }

    @Test
    void nobodyButItsOwnerReadsAKey() throws IOException, GeneralSecurityException {
        authority().issue("reefbox", List.of(InetAddress.getByName("192.168.1.20")));
        for (String key : List.of("issuer.key", "server.key")) {
            assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve(key))))
                    .as(key)
                    .isEqualTo("rw-------");
        }
        assertThat(folder.toFile().list())
                .as("the key of what phones trust is kept nowhere")
                .containsExactlyInAnyOrder("authority.crt", "issuer.crt", "issuer.key", "server.crt", "server.key");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
                .isEqualTo("rwx------");
    }

    @Test
    void itStaysTheSameWhileServersCertificatesAreNew() throws IOException, GeneralSecurityException {
        HouseAuthority first = authority();
        first.issue("reefbox", List.of(InetAddress.getByName("192.168.1.20")));
        X509Certificate before = chain().get(0);
        HouseAuthority again = authority();
        again.issue("reefbox", List.of(InetAddress.getByName("192.168.1.77")));
        assertThat(again.fingerprint()).isEqualTo(first.fingerprint()).matches("([0-9A-F]{2}:){31}[0-9A-F]{2}");
        assertThat(chain().get(0)).isNotEqualTo(before);
        assertThat(chain().get(0).getSubjectAlternativeNames().toString())
                .contains("192.168.1.77", "reefbox", "reefbox.local")
                .doesNotContain("192.168.1.20");
        validate();
    }

    @Test
    void aServersCertificateIsForServersAndForALittleMoreThanAYear() throws IOException, GeneralSecurityException {
        authority().issue("reefbox", List.of(InetAddress.getByName("10.1.2.3")));
        X509Certificate server = chain().get(0);
        assertThat(server.getBasicConstraints()).as("no authority itself").isEqualTo(-1);
        assertThat(server.getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
        assertThat(Duration.between(
                        server.getNotBefore().toInstant(), server.getNotAfter().toInstant()))
                .isLessThan(Duration.ofDays(400));
        assertThat(chain().get(1).getBasicConstraints())
                .as("signs servers alone")
                .isZero();
    }

    @ParameterizedTest
    @ValueSource(strings = {"10.1.2.3", "172.16.9.9", "192.168.1.20", "169.254.3.4", "127.0.0.1"})
    void itSpeaksForAddressesOfAHouse(String address) throws IOException, GeneralSecurityException {
        authority().issue("reefbox", List.of(InetAddress.getByName(address)));
        validate();
    }

    @ParameterizedTest
    @ValueSource(strings = {"203.0.113.9", "8.8.8.8", "172.32.0.1", "192.169.0.1"})
    void itSpeaksForNothingOnTheInternet(String address) throws IOException, GeneralSecurityException {
        authority().issue("reefbox", List.of(InetAddress.getByName(address)));
        assertThatThrownBy(this::validate).isInstanceOf(CertPathValidatorException.class);
    }

    @ParameterizedTest
    @ValueSource(strings = {"bank.example", "reefbox.example"})
    void norForAName(String name) throws IOException, GeneralSecurityException {
        authority().issue(name, List.of());
        assertThatThrownBy(this::validate).isInstanceOf(CertPathValidatorException.class);
    }

    @Test
    void anAddressThatWasNamedWhenItWasMadeIsOneMore() throws IOException, GeneralSecurityException {
        InetAddress named = InetAddress.getByName("203.0.113.9");
        new HouseAuthority(folder, "reefbox", List.of(named), CLOCK).issue("reefbox", List.of(named));
        validate();
    }
}
