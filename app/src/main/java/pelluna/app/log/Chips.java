package pelluna.app.log;

import java.util.Arrays;
import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.fish.Fish;
import pelluna.core.behaviour.EventType;
import pelluna.words.Words;

/** What a sighting is built from by taps: fish, doings, the small Reefscape. */
final class Chips {
    private static final int WIDE = 52;

    private Chips() {}

    record FishChip(
            long id,
            String label,
            String said,
            String object,
            String indirectObject,
            String picture,
            boolean boxed,
            boolean missing) {}

    record DoingChip(String word, String says, String sentence, boolean toAnother, int gravity) {}

    record Group(String title, List<DoingChip> doings) {}

    static List<FishChip> fish(List<Fish> there, Words say) {
        return there.stream()
                .map(f -> new FishChip(
                        f.id(),
                        say.title(f.label(say)),
                        say.of(f.said()),
                        say.object(f.said()),
                        say.indirectObject(f.said()),
                        FishDrawing.img(f.species(), WIDE),
                        f.boxed(),
                        f.missing()))
                .toList();
    }

    /** @param box whether somebody is in the box, who may be struck at */
    static List<Group> doings(boolean box, Words say) {
        return List.of(
                new Group(
                        say.text("page.log.toAnother"),
                        chips(List.of(EventType.Kind.CONTEST, EventType.Kind.STRIKE, EventType.Kind.SHOW), box, say)),
                new Group(say.text("page.log.aSign"), chips(List.of(EventType.Kind.SIGN), box, say)),
                new Group(say.text("page.log.well"), chips(List.of(EventType.Kind.GOOD), box, say)),
                new Group(
                        say.text("page.log.inItsLife"),
                        List.of(chip(EventType.SPAWNED, say), chip(EventType.CHANGED_SEX, say))));
    }

    private static List<DoingChip> chips(List<EventType.Kind> kinds, boolean box, Words say) {
        return Arrays.stream(EventType.values())
                .filter(d -> kinds.contains(d.kind()))
                .filter(d -> box || d != EventType.STRUCK_BOX)
                .map(d -> chip(d, say))
                .toList();
    }

    private static DoingChip chip(EventType d, Words say) {
        return new DoingChip(
                d.word(), say.of(d), d.toAnother() ? say.pattern(d, "sentence") : "", d.toAnother(), d.gravity());
    }
}
