package pelluna.app.testing;

import java.io.ByteArrayOutputStream;
import java.math.BigInteger;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyFactory;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.SecureRandom;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECGenParameterSpec;
import java.security.spec.ECPoint;
import java.security.spec.ECPublicKeySpec;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import javax.crypto.Cipher;
import javax.crypto.KeyAgreement;
import javax.crypto.Mac;
import javax.crypto.spec.GCMParameterSpec;
import javax.crypto.spec.SecretKeySpec;
import pelluna.app.rows.Secrets;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser that takes notifications, with keys of its own; it opens by RFC 8291 what was sealed by a library. */
public final class PushedDevice {
    private static final Base64.Encoder TEXT = Base64.getUrlEncoder().withoutPadding();
    private static final Base64.Decoder BYTES = Base64.getUrlDecoder();
    private static final int HALF = 32;

    public final String secret = Secrets.fresh();
    private final byte[] auth = new byte[16];
    private final KeyPair keys;
    private long last;

    public PushedDevice() throws GeneralSecurityException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("EC");
        generator.initialize(new ECGenParameterSpec("secp256r1"));
        keys = generator.generateKeyPair();
        new SecureRandom().nextBytes(auth);
    }

    public String endpoint() {
        return "/push-service/" + TEXT.encodeToString(Secrets.hashed(secret));
    }

    /** What a page sends of it. */
    public Map<String, String> form() {
        return Map.of(
                "endpoint", endpoint(), "publicKey", TEXT.encodeToString(open()), "secret", TEXT.encodeToString(auth));
    }

    /** Everything that has come since it was last asked, in the clear. */
    public List<JsonNode> fetched() throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/push-service/messages?after=" + last))
                                .header("Authorization", "Bearer " + secret)
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        List<JsonNode> all = new ArrayList<>();
        for (JsonNode message : JsonMapper.shared().readTree(answer.body())) {
            last = message.path("id").asLong();
            byte[] clear = opened(BYTES.decode(message.path("body").asString()));
            all.add(JsonMapper.shared().readTree(new String(clear, StandardCharsets.UTF_8)));
        }
        return all;
    }

    /** RFC 8188: salt, size of a record, the sender's key, one sealed record; its keys by RFC 8291. */
    public byte[] opened(byte[] body) throws GeneralSecurityException {
        byte[] salt = Arrays.copyOf(body, 16);
        int length = body[20];
        byte[] theirs = Arrays.copyOfRange(body, 21, 21 + length);
        KeyAgreement agreement = KeyAgreement.getInstance("ECDH");
        agreement.init(keys.getPrivate());
        agreement.doPhase(
                KeyFactory.getInstance("EC")
                        .generatePublic(new ECPublicKeySpec(
                                new ECPoint(
                                        new BigInteger(1, Arrays.copyOfRange(theirs, 1, 1 + HALF)),
                                        new BigInteger(1, Arrays.copyOfRange(theirs, 1 + HALF, theirs.length))),
                                ((ECPublicKey) keys.getPublic()).getParams())),
                true);
        byte[] info = joined("WebPush: info\0".getBytes(StandardCharsets.US_ASCII), open(), theirs);
        byte[] from = expanded(hmac(auth, agreement.generateSecret()), info, 32);
        byte[] pseudo = hmac(salt, from);
        byte[] key = expanded(pseudo, "Content-Encoding: aes128gcm\0".getBytes(StandardCharsets.US_ASCII), 16);
        byte[] nonce = expanded(pseudo, "Content-Encoding: nonce\0".getBytes(StandardCharsets.US_ASCII), 12);
        Cipher cipher = Cipher.getInstance("AES/GCM/NoPadding");
        cipher.init(Cipher.DECRYPT_MODE, new SecretKeySpec(key, "AES"), new GCMParameterSpec(128, nonce));
        byte[] padded = cipher.doFinal(body, 21 + length, body.length - 21 - length);
        int end = padded.length - 1;
        while (padded[end] != 2) {
            end--;
        }
        return Arrays.copyOf(padded, end);
    }

    private byte[] open() {
        ECPoint point = ((ECPublicKey) keys.getPublic()).getW();
        return joined(new byte[] {4}, half(point.getAffineX()), half(point.getAffineY()));
    }

    private static byte[] half(BigInteger number) {
        byte[] bytes = number.toByteArray();
        byte[] half = new byte[HALF];
        int length = Math.min(HALF, bytes.length);
        System.arraycopy(bytes, bytes.length - length, half, HALF - length, length);
        return half;
    }

    private static byte[] hmac(byte[] key, byte[] of) throws GeneralSecurityException {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec(key, "HmacSHA256"));
        return mac.doFinal(of);
    }

    /** One round of HKDF (RFC 5869), enough for 32 bytes. */
    private static byte[] expanded(byte[] key, byte[] info, int length) throws GeneralSecurityException {
        return Arrays.copyOf(hmac(key, joined(info, new byte[] {1})), length);
    }

    private static byte[] joined(byte[]... parts) {
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        for (byte[] part : parts) {
            all.writeBytes(part);
        }
        return all.toByteArray();
    }
}
