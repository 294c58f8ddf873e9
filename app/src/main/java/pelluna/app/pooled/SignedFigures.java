package pelluna.app.pooled;

import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.PublicKey;
import java.security.Signature;
import java.security.spec.X509EncodedKeySpec;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import pelluna.app.limits.Refused;
import pelluna.app.rows.PlanJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A file of figures, with or without the signature of the installation that it comes from: a JSON web signature
 * (RFC 7515, flattened) by Ed25519, with its key in it (RFC 8037).
 */
public final class SignedFigures {
    public static final String ALGORITHM = "Ed25519";

    private static final String PAYLOAD = "payload";
    private static final String HEAD = "protected";
    private static final String SIGNATURE = "signature";
    /** What stands before the 32 bytes of a key where it says what it is (RFC 8410). */
    private static final byte[] BEFORE_KEY = HexFormat.of().parseHex("302a300506032b6570032100");

    private static final int KEY_BYTES = 32;
    private static final int CALLED = 8;
    private static final Base64.Encoder WRITE = Base64.getUrlEncoder().withoutPadding();
    private static final Base64.Decoder READ = Base64.getUrlDecoder();

    private SignedFigures() {}

    /** @param figures the JSON of the file @param signedBy the key, in base64url; empty if nobody has signed it */
    record Opened(JsonNode figures, Optional<String> signedBy) {}

    /** @throws Refused if it is no JSON, or the signature does not fit */
    static Opened open(String text) {
        try {
            JsonNode node = PlanJson.MAPPER.readTree(text);
            return node.has(PAYLOAD) ? checked(node) : new Opened(node, Optional.empty());
        } catch (JacksonException e) {
            throw new Refused("file", new PooledRefusal.NoFigures(), e);
        }
    }

    private static Opened checked(JsonNode node) {
        try {
            String head = node.path(HEAD).asString("");
            String payload = node.path(PAYLOAD).asString("");
            JsonNode said = PlanJson.MAPPER.readTree(READ.decode(head));
            String key = said.path("jwk").path("x").asString("");
            byte[] raw = READ.decode(key);
            if (raw.length != KEY_BYTES || !said.path("alg").asString("").equals("EdDSA")) {
                throw new Refused("file", new PooledRefusal.WrongSignature());
            }
            Signature check = Signature.getInstance(ALGORITHM);
            check.initVerify(key(raw));
            check.update((head + "." + payload).getBytes(StandardCharsets.US_ASCII));
            if (!check.verify(READ.decode(node.path(SIGNATURE).asString("")))) {
                throw new Refused("file", new PooledRefusal.WrongSignature());
            }
            return new Opened(PlanJson.MAPPER.readTree(READ.decode(payload)), Optional.of(WRITE.encodeToString(raw)));
        } catch (GeneralSecurityException | IllegalArgumentException e) {
            throw new Refused("file", new PooledRefusal.WrongSignature(), e);
        }
    }

    private static PublicKey key(byte[] raw) throws GeneralSecurityException {
        byte[] whole = Arrays.copyOf(BEFORE_KEY, BEFORE_KEY.length + KEY_BYTES);
        System.arraycopy(raw, 0, whole, BEFORE_KEY.length, KEY_BYTES);
        return KeyFactory.getInstance(ALGORITHM).generatePublic(new X509EncodedKeySpec(whole));
    }

    /** The name under which others know a key, in base64url. */
    static String name(PublicKey key) {
        byte[] whole = key.getEncoded();
        return WRITE.encodeToString(Arrays.copyOfRange(whole, whole.length - KEY_BYTES, whole.length));
    }

    /** The beginning of a key's name, by which people compare it. */
    static String called(String name) {
        return name.substring(0, Math.min(CALLED, name.length()));
    }

    /** @param figures JSON */
    public static String sign(String figures, KeyPair by) {
        ObjectNode said = PlanJson.MAPPER.createObjectNode().put("alg", "EdDSA");
        said.putObject("jwk").put("kty", "OKP").put("crv", ALGORITHM).put("x", name(by.getPublic()));
        String head = WRITE.encodeToString(said.toString().getBytes(StandardCharsets.UTF_8));
        String payload = WRITE.encodeToString(figures.getBytes(StandardCharsets.UTF_8));
        try {
            Signature signing = Signature.getInstance(ALGORITHM);
            signing.initSign(by.getPrivate());
            signing.update((head + "." + payload).getBytes(StandardCharsets.US_ASCII));
            return PlanJson.MAPPER
                    .createObjectNode()
                    .put(PAYLOAD, payload)
                    .put(HEAD, head)
                    .put(SIGNATURE, WRITE.encodeToString(signing.sign()))
                    .toPrettyString();
        } catch (GeneralSecurityException e) {
            throw new IllegalStateException("No signature by " + ALGORITHM, e);
        }
    }
}
