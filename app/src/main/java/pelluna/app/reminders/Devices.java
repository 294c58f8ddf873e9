package pelluna.app.reminders;

import java.time.Clock;
import java.util.Base64;
import java.util.Collections;
import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.limits.Refused;
import pelluna.app.pushservice.StandIn;
import pelluna.app.signin.Browsers;

/** The browsers that take a keeper's notifications. */
@Service
class Devices {
    static final int MOST = 12;
    /** So often in a row, a quarter of an hour apart: two days. Pelluna's judgement. */
    private static final int MOST_FAILURES = 200;

    private static final int LONGEST_LABEL = 60;
    private static final int LONGEST_ENDPOINT = 600;

    private final CurrentKeeper keeper;
    private final DeviceRows rows;
    private final PushSender sender;
    private final StandIn standIn;
    private final Clock clock;

    Devices(CurrentKeeper keeper, DeviceRows rows, PushSender sender, StandIn standIn, Clock clock) {
        this.keeper = keeper;
        this.rows = rows;
        this.sender = sender;
        this.standIn = standIn;
        this.clock = clock;
    }

    /** In the order in which they came. */
    @Transactional(readOnly = true)
    public List<DeviceEntity> own() {
        return rows.findByKeeperIdOrderById(keeper.get().id());
    }

    /**
     * What a browser says when it subscribes.
     *
     * @param publicKey in base64url, as its secret
     * @param agent what the browser calls itself
     * @throws Refused for what is no subscription, or one of a push service that this server does not write to
     */
    Device read(String endpoint, String publicKey, String secret, String agent) {
        String label = Browsers.name(agent);
        Device device = new Device(
                endpoint, bytes(publicKey), bytes(secret), label.substring(0, Math.min(LONGEST_LABEL, label.length())));
        if (!sender.knows(endpoint)) {
            throw new Refused(new ReminderRefusal.NotOutside());
        }
        if (endpoint.length() > LONGEST_ENDPOINT || !sender.can(device)) {
            throw new Refused(new ReminderRefusal.NoDevice());
        }
        return device;
    }

    /**
     * A browser is one keeper's at a time. Asked for in the server's own name, for nobody sees another's; so in a
     * transaction of its own.
     */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    public void isNobodyElses(String endpoint, long keeper) {
        rows.findByEndpoint(endpoint).filter(d -> d.keeper() != keeper).ifPresent(rows::delete);
    }

    /** One that is the keeper's already comes anew. @throws Refused for one too many */
    @Transactional
    public void add(Device device) {
        List<DeviceEntity> same = own().stream()
                .filter(d -> d.device().endpoint().equals(device.endpoint()))
                .toList();
        rows.deleteAll(same);
        rows.flush();
        if (own().size() >= MOST) {
            throw new Refused(new ReminderRefusal.TooManyDevices(MOST));
        }
        if (StandIn.known(device.endpoint())) {
            standIn.open(device.endpoint(), sender.serverKey());
        }
        rows.save(new DeviceEntity(keeper.get().id(), device, clock.instant()));
    }

    /** Only one of the keeper's own. */
    @Transactional
    public void remove(long id) {
        rows.findByIdAndKeeperId(id, keeper.get().id()).ifPresent(this::forget);
    }

    private void forget(DeviceEntity row) {
        if (StandIn.known(row.device().endpoint())) {
            standIn.close(row.device().endpoint());
        }
        rows.delete(row);
    }

    /** @return how many push services have it */
    int send(Notice notice, List<DeviceEntity> to) {
        List<PushSender.Outcome> all =
                sender.send(notice, to.stream().map(DeviceEntity::device).toList());
        for (int i = 0; i < to.size(); i++) {
            came(to.get(i).id(), all.get(i));
        }
        return Collections.frequency(all, PushSender.Outcome.TAKEN);
    }

    /** Keeps what came of it. A device that is gone, or has not been reached for days, is no longer written to. */
    private void came(long id, PushSender.Outcome outcome) {
        rows.findById(id).ifPresent(row -> {
            if (outcome == PushSender.Outcome.TAKEN) {
                row.reached(clock.instant());
                rows.save(row);
            } else if (outcome == PushSender.Outcome.GONE || row.failed() >= MOST_FAILURES) {
                rows.delete(row);
            } else {
                rows.save(row);
            }
        });
    }

    private static byte[] bytes(String base64url) {
        try {
            return Base64.getUrlDecoder().decode(base64url.replaceAll("=+$", ""));
        } catch (IllegalArgumentException e) {
            throw new Refused("", new ReminderRefusal.NoDevice(), e);
        }
    }
}
