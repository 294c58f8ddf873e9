package pelluna.app.reminders;

import static org.assertj.core.api.Assertions.assertThat;

import com.interaso.webpush.VapidKeys;
import com.interaso.webpush.WebPush;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import pelluna.app.pushservice.StandIn;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.PushedDevice;

/** The simulated push service, written to by whoever signs with the key of a mailbox, and by nobody else. */
class PushServiceTest {
    private static final byte[] SEALED = new byte[60];
    private final VapidKeys keys = VapidKeys.generate();
    private PushedDevice device;

    @BeforeEach
    void aMailbox() throws Exception {
        device = new PushedDevice();
        Pelluna.bean(StandIn.class).open(device.endpoint(), key(keys));
    }

    private static String key(VapidKeys of) {
        return java.util.Base64.getUrlEncoder().withoutPadding().encodeToString(of.getApplicationServerKey());
    }

    private int sent(Map<String, String> headers, String endpoint, byte[] body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(Pelluna.url() + endpoint))
                .POST(HttpRequest.BodyPublishers.ofByteArray(body));
        headers.forEach(request::header);
        return HttpClient.newHttpClient()
                .send(request.build(), HttpResponse.BodyHandlers.ofString())
                .statusCode();
    }

    private Map<String, String> signed(VapidKeys by, String audience) {
        return new HashMap<>(new WebPush("mailto:nobody@pelluna.example", by)
                .getHeaders(audience + "/a", 60, "tank-1", WebPush.Urgency.Normal));
    }

    private Map<String, String> good() {
        return signed(keys, Pelluna.url());
    }

    private String waiting(String secret) throws Exception {
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/push-service/messages"))
                                .header("Authorization", "Bearer " + secret)
                                .build(),
                        HttpResponse.BodyHandlers.ofString())
                .body();
    }

    @Test
    void whatIsSignedWaitsForItsDeviceAlone() throws Exception {
        assertThat(sent(good(), device.endpoint(), SEALED)).isEqualTo(201);
        assertThat(waiting(device.secret)).contains("\"body\"");
        assertThat(waiting(new PushedDevice().secret)).isEqualTo("[]");
    }

    @Test
    void aNewerOneOfTheSameTopicTakesItsPlace() throws Exception {
        sent(good(), device.endpoint(), SEALED);
        sent(good(), device.endpoint(), SEALED);
        assertThat(waiting(device.secret).split("\"body\"", -1)).hasSize(2);
        Map<String, String> other = good();
        other.put("Topic", "tank-2");
        sent(other, device.endpoint(), SEALED);
        assertThat(waiting(device.secret).split("\"body\"", -1)).hasSize(3);
    }

    @Test
    void whoHasNotSignedIsKeptOut() throws Exception {
        Map<String, String> unsigned = good();
        unsigned.remove("Authorization");
        assertThat(sent(unsigned, device.endpoint(), SEALED)).isEqualTo(401);
        Map<String, String> garbage = good();
        garbage.put("Authorization", "vapid t=a.b.c, k=" + key(keys));
        assertThat(sent(garbage, device.endpoint(), SEALED)).isEqualTo(401);
        assertThat(sent(signed(keys, "https://elsewhere.example"), device.endpoint(), SEALED))
                .as("signed for another service")
                .isEqualTo(401);
        Map<String, String> borrowed = signed(VapidKeys.generate(), Pelluna.url());
        String token = borrowed.get("Authorization").replaceAll(".*t=([^,]+),.*", "$1");
        borrowed.put("Authorization", "vapid t=" + token + ", k=" + key(keys));
        assertThat(sent(borrowed, device.endpoint(), SEALED))
                .as("signed by another, with the key of the mailbox beside it")
                .isEqualTo(401);
        assertThat(sent(signed(VapidKeys.generate(), Pelluna.url()), device.endpoint(), SEALED))
                .as("well signed by a server whose mailbox it is not")
                .isEqualTo(403);
        assertThat(waiting(device.secret)).isEqualTo("[]");
    }

    @Test
    void whatDoesNotFitTheProtocolIsRefused() throws Exception {
        assertThat(sent(good(), new PushedDevice().endpoint(), SEALED))
                .as("no such mailbox")
                .isEqualTo(410);
        Map<String, String> endless = good();
        endless.remove("TTL");
        assertThat(sent(endless, device.endpoint(), SEALED)).isEqualTo(400);
        Map<String, String> open = good();
        open.remove("Content-Encoding");
        assertThat(sent(open, device.endpoint(), SEALED)).isEqualTo(400);
        Map<String, String> topic = good();
        topic.put("Topic", "no topic!");
        assertThat(sent(topic, device.endpoint(), SEALED)).isEqualTo(400);
        assertThat(sent(good(), device.endpoint(), new byte[4097])).isEqualTo(413);
        assertThat(sent(good(), device.endpoint(), new byte[4096])).isEqualTo(201);
    }

    @Test
    void whoShowsNoSecretIsShownNothing() throws Exception {
        HttpResponse<String> answer = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(Pelluna.url() + "/push-service/messages"))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(404);
    }
}
