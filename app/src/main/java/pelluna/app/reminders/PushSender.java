package pelluna.app.reminders;

import com.interaso.webpush.VapidKeys;
import com.interaso.webpush.WebPush;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import pelluna.app.database.AskedFor;
import pelluna.app.pushservice.StandIn;
import pelluna.core.units.Step;

/**
 * Sends notifications by Web Push (RFC 8030), encrypted for their device (RFC 8291) and signed by this server (RFC
 * 8292): to the simulated push service; and, where whoever runs the server has said how to be reached, to those of the
 * browsers' makers.
 */
@Component
class PushSender {
    private static final Logger LOG = LoggerFactory.getLogger(PushSender.class);
    /** For how long it is worth to be told. Pelluna's judgement: after half a day there is a newer one. */
    private static final int WORTH_SECONDS = (int) Duration.ofHours(12).toSeconds();

    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final String NOBODY = "mailto:nobody@pelluna.example";
    private static final Pattern CONTACT = Pattern.compile("(mailto:|https://)\\S+");
    private static final int POINT_BYTES = 65;
    private static final int SECRET_BYTES = 16;
    private static final int GONE = 410;
    private static final int NOT_FOUND = 404;

    private final String contact;
    private final PushKeys keys;
    private final Environment port;
    private volatile VapidKeys known;

    /** @param contact 'mailto:…' or 'https://…' of whoever runs the server, in {@code PELLUNA_PUSH_CONTACT} */
    PushSender(@Value("${pelluna.push-contact:}") String contact, PushKeys keys, Environment port) {
        this.contact = contact.strip();
        if (outside() && !CONTACT.matcher(this.contact).matches()) {
            throw new IllegalStateException("PELLUNA_PUSH_CONTACT is 'mailto:...' or 'https://...', not " + contact);
        }
        this.keys = keys;
        this.port = port;
    }

    /** Made with the first notification, for it takes a quarter of a second of a start. */
    private static final class Client {
        static final HttpClient ONE = HttpClient.newBuilder()
                .version(HttpClient.Version.HTTP_1_1)
                .connectTimeout(Duration.ofSeconds(5))
                .followRedirects(HttpClient.Redirect.NEVER)
                .build();

        private Client() {}
    }

    /** What came of it. */
    enum Outcome {
        /** The push service has it. */
        TAKEN,
        /** The device takes none any more. */
        GONE,
        /** Nobody knows; a later one may go through. */
        FAILED
    }

    /** Whether anything is sent to push services outside. */
    boolean outside() {
        return !contact.isEmpty();
    }

    /** By which a browser knows who may write to it, in base64url. */
    String serverKey() {
        return Base64.getUrlEncoder().withoutPadding().encodeToString(keys().getApplicationServerKey());
    }

    /** Made before anybody reads a page, for reading writes nothing; without a database, when it is back. */
    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        try {
            keys();
        } catch (DataAccessException | TransactionException e) {
            LOG.debug("No database to keep a key in", e);
        }
    }

    private VapidKeys keys() {
        if (known == null) {
            known = AskedFor.all(keys::find);
        }
        return known;
    }

    /** Whether anything is sent to an address like this. */
    boolean knows(String endpoint) {
        return StandIn.known(endpoint)
                || outside() && OutsideAddress.of(endpoint).isPresent();
    }

    /** Whether the keys of a device are such that something can be encrypted for it. */
    boolean can(Device device) {
        return device.publicKey().length == POINT_BYTES
                && device.secret().length == SECRET_BYTES
                && encrypted(new byte[0], device).isPresent();
    }

    /** Sends to all at once, and waits for what comes of it: one outcome for each, in their order. */
    List<Outcome> send(Notice notice, List<Device> devices) {
        return devices.stream().map(d -> send(notice, d)).toList().stream()
                .map(CompletableFuture::join)
                .toList();
    }

    private CompletableFuture<Outcome> send(Notice notice, Device device) {
        Optional<URI> to = address(device.endpoint());
        Optional<byte[]> body = encrypted(notice.json(), device);
        if (to.isEmpty() || body.isEmpty()) {
            return CompletableFuture.completedFuture(Outcome.FAILED);
        }
        HttpRequest.Builder request = HttpRequest.newBuilder(to.get())
                .timeout(PATIENCE)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.get()));
        WebPush.Urgency urgency = notice.step().atLeast(Step.SURGE) ? WebPush.Urgency.High : WebPush.Urgency.Normal;
        push().getHeaders(to.get().toString(), WORTH_SECONDS, notice.tag(), urgency)
                .forEach(request::header);
        return Client.ONE
                .sendAsync(request.build(), HttpResponse.BodyHandlers.discarding())
                .thenApply(answer -> outcome(answer.statusCode()))
                .exceptionally(e -> {
                    LOG.warn("A push service did not answer: {}", e.toString());
                    return Outcome.FAILED;
                });
    }

    private static Outcome outcome(int status) {
        if (status == GONE || status == NOT_FOUND) {
            return Outcome.GONE;
        }
        if (status / 100 != 2) {
            LOG.warn("A push service answered {}", status);
        }
        return status / 100 == 2 ? Outcome.TAKEN : Outcome.FAILED;
    }

    /** Where a device is written to; empty for an address that is not written to. Asks for a machine's number. */
    Optional<URI> address(String endpoint) {
        if (StandIn.known(endpoint)) {
            return Optional.of(URI.create("http://127.0.0.1:" + port.getProperty("local.server.port") + endpoint));
        }
        return outside() ? OutsideAddress.of(endpoint).filter(OutsideAddress::outThere) : Optional.empty();
    }

    private WebPush push() {
        return new WebPush(outside() ? contact : NOBODY, keys());
    }

    /** What only the device can read; empty, if its keys are none. */
    private Optional<byte[]> encrypted(byte[] payload, Device device) {
        try {
            return Optional.of(push().getBody(payload, device.publicKey(), device.secret()));
        } catch (Exception e) { // of a library in another language, which declares none of what it throws
            LOG.debug("Keys of a device that are none", e);
            return Optional.empty();
        }
    }
}
