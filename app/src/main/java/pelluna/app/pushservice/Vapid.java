package pelluna.app.pushservice;

import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.security.AlgorithmParameters;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.Signature;
import java.security.spec.ECGenParameterSpec;
import java.security.spec.ECParameterSpec;
import java.security.spec.ECPoint;
import java.security.spec.ECPublicKeySpec;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Base64;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Reads how a server says who it is: RFC 8292, a token signed with ES256 (RFC 7515, RFC 7518) and the key to it. */
final class Vapid {
    private static final Pattern SAID =
            Pattern.compile("vapid +(?:t=([^, ]+) *, *k=([^, ]+)|k=([^, ]+) *, *t=([^, ]+))");
    private static final Duration LONGEST = Duration.ofHours(24);
    private static final int HALF = 32;

    private Vapid() {}

    /**
     * The key of the server that has signed, in base64url.
     *
     * @param header   'Authorization'; null without
     * @param audience the origin of this service, as 'http://127.0.0.1:8080'
     * @return empty for a token that is none, too old, for another service, or signed by somebody else
     */
    static Optional<String> signedBy(String header, String audience, Instant now) {
        Matcher said = SAID.matcher(header == null ? "" : header);
        if (!said.matches()) {
            return Optional.empty();
        }
        String token = said.group(1) == null ? said.group(4) : said.group(1);
        String key = said.group(2) == null ? said.group(3) : said.group(2);
        try {
            return good(token.split("\\."), bytes(key), audience, now) ? Optional.of(key) : Optional.empty();
        } catch (GeneralSecurityException | IllegalArgumentException | JacksonException e) {
            return Optional.empty();
        }
    }

    private static boolean good(String[] token, byte[] key, String audience, Instant now)
            throws GeneralSecurityException {
        if (token.length != 3 || key.length != 1 + 2 * HALF || key[0] != 4) {
            return false;
        }
        JsonNode head = JsonMapper.shared().readTree(bytes(token[0]));
        JsonNode claims = JsonMapper.shared().readTree(bytes(token[1]));
        Instant until = Instant.ofEpochSecond(claims.path("exp").asLong(0));
        Signature signature = Signature.getInstance("SHA256withECDSAinP1363Format");
        signature.initVerify(KeyFactory.getInstance("EC")
                .generatePublic(new ECPublicKeySpec(
                        new ECPoint(
                                new BigInteger(1, Arrays.copyOfRange(key, 1, 1 + HALF)),
                                new BigInteger(1, Arrays.copyOfRange(key, 1 + HALF, key.length))),
                        curve())));
        signature.update((token[0] + "." + token[1]).getBytes(StandardCharsets.US_ASCII));
        return "ES256".equals(head.path("alg").asString(""))
                && audience.equals(claims.path("aud").asString(""))
                && until.isAfter(now)
                && !until.isAfter(now.plus(LONGEST))
                && signature.verify(bytes(token[2]));
    }

    private static ECParameterSpec curve() throws GeneralSecurityException {
        AlgorithmParameters parameters = AlgorithmParameters.getInstance("EC");
        parameters.init(new ECGenParameterSpec("secp256r1"));
        return parameters.getParameterSpec(ECParameterSpec.class);
    }

    private static byte[] bytes(String base64url) {
        return Base64.getUrlDecoder().decode(base64url);
    }
}
