package pelluna.app.reminders;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.CurrentKeeper;
import pelluna.app.account.Ownership;
import pelluna.app.account.TankRole;
import pelluna.app.database.AskedFor;
import pelluna.app.limits.Refused;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Site;
import pelluna.core.remind.QuietHours;
import pelluna.words.Words;

/** How a keeper is reminded: three ways, a switch for each, and the hours without. */
@Controller
class RemindersController {
    static final String PATH = "/account/reminders";
    private static final String PAGE = "redirect:" + PATH;
    /** Tanks of which the page says what is due: of more, the list of all tanks does. */
    private static final int SHOWN = 3;

    private final CurrentKeeper keeper;
    private final Reminders reminders;
    private final Devices devices;
    private final PushSender sender;
    private final Due due;
    private final Ownership ownership;
    private final Shells shells;
    private final Clock clock;

    RemindersController(
            CurrentKeeper keeper,
            Reminders reminders,
            Devices devices,
            PushSender sender,
            Due due,
            Ownership ownership,
            Shells shells,
            Clock clock) {
        this.keeper = keeper;
        this.reminders = reminders;
        this.devices = devices;
        this.sender = sender;
        this.due = due;
        this.ownership = ownership;
        this.shells = shells;
        this.clock = clock;
    }

    /**
     * What is set, as the page shows it.
     *
     * @param mailHour  when the mail comes
     * @param alarmHour when the calendar rings, on the evening before
     * @param from      when quiet hours begin; null without
     */
    record Settings(
            boolean mail,
            LocalTime mailAt,
            LocalTime mailHour,
            boolean calendar,
            LocalTime alarmHour,
            LocalTime from,
            LocalTime to) {
        static Settings of(ReminderEntity own) {
            return new Settings(
                    own.mail(),
                    own.mailAt(),
                    Reminders.rhythm(own, false).said(own.mailAt()),
                    own.calendar(),
                    own.quiet().map(q -> q.ahead(Reminders.EVENING)).orElse(Reminders.EVENING),
                    own.quiet().map(QuietHours::from).orElse(null),
                    own.quiet().map(QuietHours::to).orElse(null));
        }
    }

    /** A browser in a line. */
    record DeviceLine(long id, String endpoint, String label, String since) {}

    @GetMapping(PATH)
    String page(@RequestParam(required = false) String sent, Model model) {
        Words say = keeper.words();
        shells.around(model, "account", say.text("page.reminders.title"), say.text("page.reminders.sentence"));
        model.addAttribute("own", Settings.of(reminders.own()));
        model.addAttribute("sent", sent != null);
        model.addAttribute("email", keeper.get().email());
        model.addAttribute("outside", sender.outside());
        model.addAttribute("serverKey", sender.serverKey());
        model.addAttribute(
                "devices",
                devices.own().stream()
                        .map(d -> new DeviceLine(
                                d.id(), d.device().endpoint(), d.device().label(), day(d.madeAt(), say)))
                        .toList());
        model.addAttribute("due", due.first(SHOWN));
        List<Ownership.Entered> mine = ownership.entered().stream()
                .filter(e -> e.tank().role() == TankRole.OWNER && !e.tank().archived())
                .toList();
        model.addAttribute("tanks", mine);
        return "reminders";
    }

    private String day(Instant at, Words say) {
        return say.shortDate(at.atZone(clock.getZone()).toLocalDate());
    }

    @PostMapping(PATH + "/mail")
    String mail(@RequestParam boolean on, @RequestParam String at, HttpServletRequest request, RedirectAttributes to) {
        return told(to, () -> reminders.mails(on, at, Site.of(request)));
    }

    @PostMapping(PATH + "/calendar")
    String calendar(@RequestParam boolean on, HttpServletRequest request, RedirectAttributes to) {
        return told(to, () -> reminders.alarms(on, Site.of(request)));
    }

    @PostMapping(PATH + "/quiet")
    String quiet(
            @RequestParam(defaultValue = "") String from,
            @RequestParam(defaultValue = "") String to,
            HttpServletRequest request,
            RedirectAttributes back) {
        return told(back, () -> reminders.rests(from, to, Site.of(request)));
    }

    /** What a browser says of itself once its keeper has allowed it. */
    @PostMapping(PATH + "/devices")
    String add(
            @RequestParam String endpoint,
            @RequestParam String publicKey,
            @RequestParam String secret,
            @RequestHeader(value = HttpHeaders.USER_AGENT, defaultValue = "") String agent,
            HttpServletRequest request,
            RedirectAttributes to) {
        return told(to, () -> {
            Device device = devices.read(endpoint, publicKey, secret, agent);
            long own = keeper.get().id();
            AskedFor.all(() -> {
                devices.isNobodyElses(endpoint, own);
                return true;
            });
            devices.add(device);
            reminders.looks(Site.of(request));
        });
    }

    @PostMapping(PATH + "/devices/{device}/remove")
    String remove(@PathVariable long device) {
        devices.remove(device);
        return PAGE;
    }

    @PostMapping(PATH + "/try")
    String tryIt(RedirectAttributes to) {
        List<DeviceEntity> all = devices.own();
        if (all.isEmpty()) {
            Refused.tell(to, new Refused(new ReminderRefusal.NoDeviceYet()));
            return PAGE;
        }
        Notice notice = Notices.trial(keeper.words());
        if (devices.send(notice, all) == 0) {
            Refused.tell(to, new Refused(new ReminderRefusal.NotReached()));
            return PAGE;
        }
        return PAGE + "?sent";
    }

    private static String told(RedirectAttributes to, Runnable what) {
        try {
            what.run();
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return PAGE;
    }
}
