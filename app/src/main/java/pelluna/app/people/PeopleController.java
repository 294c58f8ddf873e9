package pelluna.app.people;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.TankRole;
import pelluna.app.limits.Refused;
import pelluna.app.planning.OpenTank;
import pelluna.app.planning.TankPlans;
import pelluna.app.shell.Shells;
import pelluna.app.signin.Site;
import pelluna.words.Words;

/** The people of a tank: who may enter, who is invited, what was noted and done. */
@Controller
class PeopleController {
    private final TankPlans plans;
    private final People people;
    private final Invitations invitations;
    private final Notes notes;
    private final Deeds deeds;
    private final Shells shells;
    private final Clock clock;

    PeopleController(
            TankPlans plans,
            People people,
            Invitations invitations,
            Notes notes,
            Deeds deeds,
            Shells shells,
            Clock clock) {
        this.plans = plans;
        this.people = people;
        this.invitations = invitations;
        this.notes = notes;
        this.deeds = deeds;
        this.shells = shells;
        this.clock = clock;
    }

    record MemberLine(long id, String name, TankRole role, String since) {}

    record InvitedLine(long id, String email, TankRole role, String until) {}

    record NoteLine(long id, String author, String at, String text, boolean own) {}

    record DeedLine(String author, String what, String at) {}

    @GetMapping("/tanks/{id}/people")
    String page(OwnedTank tank, Model model) {
        OpenTank opened = plans.open(tank);
        Words say = opened.say();
        shells.around(model, opened, "people", say.text("page.people.title"), say.text("page.people.sentence"));
        boolean owner = tank.role() == TankRole.OWNER;
        model.addAttribute("role", tank.role());
        model.addAttribute("owner", people.owner(tank));
        model.addAttribute("mayInvite", owner);
        model.addAttribute("mayNote", owner || tank.role() == TankRole.ADVISER);
        model.addAttribute("given", People.GIVEN);
        model.addAttribute("link", owner ? invitations.link(tank).orElse(null) : null);
        model.addAttribute(
                "members",
                people.of(tank).stream()
                        .map(m -> new MemberLine(m.id(), m.name(), m.role(), day(m.since(), say)))
                        .toList());
        model.addAttribute(
                "invited",
                owner
                        ? invitations.open(tank).stream()
                                .map(i -> new InvitedLine(i.id(), i.email(), i.role(), day(i.expiresAt(), say)))
                                .toList()
                        : List.of());
        model.addAttribute(
                "notes",
                notes.of(tank).stream()
                        .map(n -> new NoteLine(n.id(), who(n.author(), say), moment(n.at(), say), n.text(), n.own()))
                        .toList());
        model.addAttribute(
                "deeds", deeds.of(tank).stream().map(d -> line(d, say)).toList());
        return "people";
    }

    private DeedLine line(Deeds.Done d, Words say) {
        String what = say.title(d.what());
        return new DeedLine(
                who(d.author(), say),
                d.times() == 1 ? what : say.text("page.people.times", what, d.times()),
                moment(d.last(), say));
    }

    private static String who(String name, Words say) {
        return name.isEmpty() ? say.text("page.people.accountGone") : name;
    }

    private String day(Instant at, Words say) {
        return say.shortDate(at.atZone(clock.getZone()).toLocalDate());
    }

    private String moment(Instant at, Words say) {
        return say.days().shortMoment(at.atZone(clock.getZone()).toLocalDateTime());
    }

    /** The page shows the link for a while: who invites may hand it over as they like. */
    @PostMapping("/tanks/{id}/people/invite")
    String invite(
            OwnedTank tank,
            @RequestParam String email,
            @RequestParam String role,
            HttpServletRequest request,
            RedirectAttributes to) {
        try {
            invitations.invite(tank, email, role, Site.of(request));
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    @PostMapping("/tanks/{id}/people/withdraw")
    String withdraw(OwnedTank tank, @RequestParam long invitation) {
        invitations.withdraw(tank, invitation);
        return back(tank);
    }

    @PostMapping("/tanks/{id}/people/end")
    String end(OwnedTank tank, @RequestParam long member) {
        people.end(tank, member);
        return back(tank);
    }

    @PostMapping("/tanks/{id}/people/leave")
    String leave(OwnedTank tank) {
        people.leave(tank);
        return "redirect:/tanks";
    }

    @PostMapping("/tanks/{id}/people/note")
    String note(OwnedTank tank, @RequestParam String text, RedirectAttributes to) {
        try {
            notes.write(tank, text);
        } catch (Refused e) {
            Refused.tell(to, e);
        }
        return back(tank);
    }

    @PostMapping("/tanks/{id}/people/note/remove")
    String removeNote(OwnedTank tank, @RequestParam long which) {
        notes.remove(tank, which);
        return back(tank);
    }

    private static String back(OwnedTank tank) {
        return "redirect:/tanks/" + tank + "/people";
    }
}
