package pelluna.app.pooled;

import java.security.KeyPair;
import java.security.PublicKey;
import java.util.Optional;
import org.jose4j.jwa.AlgorithmConstraints;
import org.jose4j.jwk.JsonWebKey;
import org.jose4j.jwk.PublicJsonWebKey;
import org.jose4j.jws.AlgorithmIdentifiers;
import org.jose4j.jws.JsonWebSignature;
import org.jose4j.lang.JoseException;
import pelluna.app.limits.Refused;
import pelluna.app.rows.PlanJson;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * A file of figures, as it is or with the signature of the installation that it comes from: a JSON web signature
 * (RFC 7515, compact) by Ed25519, with its key in it (RFC 8037).
 */
public final class SignedFigures {
    public static final String ALGORITHM = "Ed25519";

    private static final String KEY = "jwk";
    /** Of such a key (RFC 8037). */
    private static final String OPEN_PART = "x";

    private static final int CALLED = 8;

    private SignedFigures() {}

    /** @param figures the JSON of the file @param signedBy the key, in base64url; empty if nobody has signed it */
    record Opened(JsonNode figures, Optional<String> signedBy) {}

    /** @throws Refused if it is no JSON, or the signature does not fit */
    static Opened open(String text) {
        try {
            return text.stripLeading().startsWith("{")
                    ? new Opened(PlanJson.MAPPER.readTree(text), Optional.empty())
                    : checked(text.strip());
        } catch (JacksonException e) {
            throw new Refused("file", new PooledRefusal.NoFigures(), e);
        }
    }

    private static Opened checked(String text) {
        try {
            JsonWebSignature signature = new JsonWebSignature();
            signature.setAlgorithmConstraints(
                    new AlgorithmConstraints(AlgorithmConstraints.ConstraintType.PERMIT, AlgorithmIdentifiers.EDDSA));
            signature.setCompactSerialization(text);
            PublicJsonWebKey key = signature.getHeaders().getPublicJwkHeaderValue(KEY, null);
            if (key == null) {
                throw new Refused("file", new PooledRefusal.WrongSignature());
            }
            signature.setKey(key.getPublicKey());
            if (!signature.verifySignature()) {
                throw new Refused("file", new PooledRefusal.WrongSignature());
            }
            return new Opened(PlanJson.MAPPER.readTree(signature.getPayload()), Optional.of(name(key)));
        } catch (JoseException e) {
            throw new Refused(
                    "file",
                    text.indexOf('.') < 0 ? new PooledRefusal.NoFigures() : new PooledRefusal.WrongSignature(),
                    e);
        }
    }

    private static String name(PublicJsonWebKey key) {
        return String.valueOf(
                key.toParams(JsonWebKey.OutputControlLevel.PUBLIC_ONLY).get(OPEN_PART));
    }

    /** The name under which others know a key, in base64url. */
    static String name(PublicKey key) {
        return name(web(key));
    }

    private static PublicJsonWebKey web(PublicKey key) {
        try {
            return PublicJsonWebKey.Factory.newPublicJwk(key);
        } catch (JoseException e) {
            throw new IllegalStateException("No key of " + ALGORITHM, e);
        }
    }

    /** The beginning of a key's name, by which people compare it. */
    static String called(String name) {
        return name.substring(0, Math.min(CALLED, name.length()));
    }

    /** @param figures JSON */
    public static String sign(String figures, KeyPair by) {
        try {
            JsonWebSignature signature = new JsonWebSignature();
            signature.setAlgorithmHeaderValue(AlgorithmIdentifiers.EDDSA);
            signature.getHeaders().setJwkHeaderValue(KEY, web(by.getPublic()));
            signature.setPayload(figures);
            signature.setKey(by.getPrivate());
            return signature.getCompactSerialization();
        } catch (JoseException e) {
            throw new IllegalStateException("No signature by " + ALGORITHM, e);
        }
    }
}
