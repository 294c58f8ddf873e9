package pelluna.app.lan;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.math.BigInteger;
import java.net.InetAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.PrivateKey;
import java.security.PublicKey;
import java.security.SecureRandom;
import java.security.cert.X509Certificate;
import java.security.spec.ECGenParameterSpec;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Date;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import org.bouncycastle.asn1.pkcs.PrivateKeyInfo;
import org.bouncycastle.asn1.x500.X500Name;
import org.bouncycastle.asn1.x509.BasicConstraints;
import org.bouncycastle.asn1.x509.ExtendedKeyUsage;
import org.bouncycastle.asn1.x509.Extension;
import org.bouncycastle.asn1.x509.GeneralName;
import org.bouncycastle.asn1.x509.GeneralNames;
import org.bouncycastle.asn1.x509.GeneralSubtree;
import org.bouncycastle.asn1.x509.KeyPurposeId;
import org.bouncycastle.asn1.x509.KeyUsage;
import org.bouncycastle.asn1.x509.NameConstraints;
import org.bouncycastle.cert.X509CertificateHolder;
import org.bouncycastle.cert.jcajce.JcaX509CertificateConverter;
import org.bouncycastle.cert.jcajce.JcaX509ExtensionUtils;
import org.bouncycastle.cert.jcajce.JcaX509v3CertificateBuilder;
import org.bouncycastle.openssl.PEMParser;
import org.bouncycastle.openssl.jcajce.JcaPEMKeyConverter;
import org.bouncycastle.openssl.jcajce.JcaPEMWriter;
import org.bouncycastle.openssl.jcajce.JcaPKCS8Generator;
import org.bouncycastle.operator.OperatorCreationException;
import org.bouncycastle.operator.jcajce.JcaContentSignerBuilder;

/**
 * A certificate authority that is made on this machine for this machine. What a phone trusts has signed one issuer, and
 * its key was thrown away then. The issuer can speak for addresses and names of a house alone (name constraints, RFC
 * 5280, 4.2.1.10): a phone that trusts this machine trusts it for nothing on the internet, even if the issuer's key is
 * stolen. That key is a file that only its owner can read.
 */
final class HouseAuthority {
    /** P-256 with SHA-256, as NIST SP 800-57 has it for use beyond 2030. */
    private static final String CURVE = "secp256r1";

    private static final String SIGNS = "SHA256withECDSA";
    private static final Duration GOOD = Duration.ofDays(3650);
    /** Shorter than the 825 days that phones accept of an authority that was added by hand; from memory. */
    private static final Duration SERVER_GOOD = Duration.ofDays(397);

    private static final Duration SKEW = Duration.ofDays(1);
    /** RFC 1918, RFC 3927 and loopback. */
    private static final List<String> HOUSE =
            List.of("10.0.0.0/8", "172.16.0.0/12", "192.168.0.0/16", "169.254.0.0/16", "127.0.0.0/8");

    private static final Set<PosixFilePermission> OWNER = PosixFilePermissions.fromString("rw-------");
    private static final SecureRandom RANDOM = new SecureRandom();

    private final Path folder;
    private final Clock clock;
    private final X509Certificate certificate;
    private final X509Certificate issuer;
    private final PrivateKey key;

    /**
     * The authority of a folder; made if there is none yet.
     *
     * @param host  the name of this machine
     * @param extra addresses outside of a house's own ranges that it may speak for too
     */
    HouseAuthority(Path folder, String host, List<InetAddress> extra, Clock clock)
            throws IOException, GeneralSecurityException {
        this.folder = folder;
        this.clock = clock;
        Files.createDirectories(folder);
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        if (!Files.exists(file("issuer.key")) || !Files.exists(file("authority.crt"))) {
            make(host, extra);
        }
        this.certificate = readCertificate(file("authority.crt"));
        this.issuer = readCertificate(file("issuer.crt"));
        this.key = readKey(file("issuer.key"));
    }

    /** SHA-256 of the certificate, as phones show it: 'AB:CD:…'. */
    String fingerprint() throws GeneralSecurityException {
        byte[] sum = MessageDigest.getInstance("SHA-256").digest(certificate.getEncoded());
        return HexFormat.ofDelimiter(":").withUpperCase().formatHex(sum);
    }

    /** Writes a key and a certificate for this server, the issuer's behind it: 'server.key', 'server.crt'. */
    void issue(String host, List<InetAddress> addresses) throws IOException, GeneralSecurityException {
        KeyPair pair = pair();
        List<GeneralName> names = new ArrayList<>();
        addresses.forEach(a -> names.add(new GeneralName(GeneralName.iPAddress, a.getHostAddress())));
        hostNames(host).forEach(n -> names.add(new GeneralName(GeneralName.dNSName, n)));
        X509Certificate made;
        try {
            JcaX509ExtensionUtils ids = new JcaX509ExtensionUtils();
            JcaX509v3CertificateBuilder builder = builder(
                    new X500Name(issuer.getSubjectX500Principal().getName()),
                    SERVER_GOOD,
                    named("Pelluna", host),
                    pair.getPublic());
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(false))
                    .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.digitalSignature))
                    .addExtension(
                            Extension.extendedKeyUsage, false, new ExtendedKeyUsage(KeyPurposeId.id_kp_serverAuth))
                    .addExtension(
                            Extension.subjectAlternativeName,
                            false,
                            new GeneralNames(names.toArray(GeneralName[]::new)))
                    .addExtension(Extension.authorityKeyIdentifier, false, ids.createAuthorityKeyIdentifier(issuer));
            made = signed(builder, key);
        } catch (OperatorCreationException e) {
            throw new GeneralSecurityException(e);
        }
        write("server.key", pkcs8(pair));
        write("server.crt", made, issuer);
    }

    /** The name of this machine, alone and as it is called in a house without a name server. */
    static List<String> hostNames(String host) {
        return host.contains(".") ? List.of(host) : List.of(host, host + ".local");
    }

    Path file(String name) {
        return folder.resolve(name);
    }

    private void make(String host, List<InetAddress> extra) throws IOException, GeneralSecurityException {
        X500Name root = named("Pelluna of", host);
        KeyPair thrownAway = pair();
        X509Certificate trusted = authority(root, 1, root, thrownAway.getPublic(), thrownAway.getPrivate(), null);
        KeyPair issuing = pair();
        NameConstraints house = new NameConstraints(allowed(host, extra).toArray(GeneralSubtree[]::new), null);
        write("issuer.key", pkcs8(issuing));
        write(
                "issuer.crt",
                authority(
                        root,
                        0,
                        named("Pelluna issuer of", host),
                        issuing.getPublic(),
                        thrownAway.getPrivate(),
                        house));
        write("authority.crt", trusted);
    }

    /** @param below authorities that may come below it; @param house null for whoever signs the issuer alone */
    private X509Certificate authority(
            X500Name by, int below, X500Name name, PublicKey of, PrivateKey signing, NameConstraints house)
            throws IOException, GeneralSecurityException {
        try {
            JcaX509v3CertificateBuilder builder = builder(by, GOOD, name, of);
            builder.addExtension(Extension.basicConstraints, true, new BasicConstraints(below))
                    .addExtension(Extension.keyUsage, true, new KeyUsage(KeyUsage.keyCertSign | KeyUsage.cRLSign))
                    .addExtension(
                            Extension.subjectKeyIdentifier,
                            false,
                            new JcaX509ExtensionUtils().createSubjectKeyIdentifier(of));
            if (house != null) {
                builder.addExtension(Extension.nameConstraints, true, house);
            }
            return signed(builder, signing);
        } catch (OperatorCreationException e) {
            throw new GeneralSecurityException(e);
        }
    }

    private static List<GeneralSubtree> allowed(String host, List<InetAddress> extra) {
        List<GeneralSubtree> allowed = new ArrayList<>();
        HOUSE.forEach(r -> allowed.add(new GeneralSubtree(new GeneralName(GeneralName.iPAddress, r))));
        extra.forEach(a -> allowed.add(new GeneralSubtree(new GeneralName(
                GeneralName.iPAddress, a.getHostAddress() + (a.getAddress().length == 4 ? "/32" : "/128")))));
        List.of("local", "localhost", host)
                .forEach(n -> allowed.add(new GeneralSubtree(new GeneralName(GeneralName.dNSName, n))));
        return allowed;
    }

    private static X500Name named(String what, String host) {
        return new X500Name("CN=" + what + " " + host.replaceAll("[^A-Za-z0-9.-]", ""));
    }

    private JcaX509v3CertificateBuilder builder(X500Name issuer, Duration good, X500Name subject, PublicKey of) {
        Instant now = clock.instant();
        return new JcaX509v3CertificateBuilder(
                issuer,
                new BigInteger(159, RANDOM),
                Date.from(now.minus(SKEW)),
                Date.from(now.plus(good)),
                subject,
                of);
    }

    private static X509Certificate signed(JcaX509v3CertificateBuilder builder, PrivateKey by)
            throws OperatorCreationException, GeneralSecurityException {
        return new JcaX509CertificateConverter()
                .getCertificate(builder.build(new JcaContentSignerBuilder(SIGNS).build(by)));
    }

    private static KeyPair pair() throws GeneralSecurityException {
        KeyPairGenerator keys = KeyPairGenerator.getInstance("EC");
        keys.initialize(new ECGenParameterSpec(CURVE), RANDOM);
        return keys.generateKeyPair();
    }

    /** As RFC 5208 has it, without a password: the file is its owner's alone. */
    private static JcaPKCS8Generator pkcs8(KeyPair pair) throws IOException {
        return new JcaPKCS8Generator(pair.getPrivate(), null);
    }

    /** Nobody else can read it, from its first byte on. */
    private void write(String name, Object... parts) throws IOException {
        StringWriter text = new StringWriter();
        try (JcaPEMWriter pem = new JcaPEMWriter(text)) {
            for (Object part : parts) {
                pem.writeObject(part);
            }
        }
        Path fresh = file(name + ".new");
        Files.deleteIfExists(fresh);
        Files.createFile(fresh, PosixFilePermissions.asFileAttribute(OWNER));
        Files.writeString(fresh, text.toString(), StandardOpenOption.TRUNCATE_EXISTING);
        Files.move(fresh, file(name), StandardCopyOption.REPLACE_EXISTING);
    }

    private static X509Certificate readCertificate(Path file) throws IOException, GeneralSecurityException {
        return new JcaX509CertificateConverter().getCertificate((X509CertificateHolder) read(file));
    }

    private static PrivateKey readKey(Path file) throws IOException {
        return new JcaPEMKeyConverter().getPrivateKey((PrivateKeyInfo) read(file));
    }

    private static Object read(Path file) throws IOException {
        try (Reader text = Files.newBufferedReader(file);
                PEMParser pem = new PEMParser(text)) {
            return pem.readObject();
        }
    }
}
