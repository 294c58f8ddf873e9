package pelluna.app.log;

import java.util.Arrays;
import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.ReefDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.fish.FishEntity;
import pelluna.core.behaviour.Doing;
import pelluna.core.tank.Tank;
import pelluna.core.units.English;
import pelluna.core.units.Measures;

/** What a sighting is built from by taps: fish, doings, the small Reefscape. */
final class Chips {
    private static final int WIDE = 52;

    private Chips() {}

    /** @param again the same picture with other marks, since a drawing in a hidden row cannot lend its own */
    record FishChip(long id, String label, String said, String picture, String again, boolean boxed, boolean missing) {}

    record DoingChip(String word, String says, boolean toAnother, int gravity) {}

    record Group(String title, List<DoingChip> doings) {}

    static List<FishChip> fish(List<Fish> there) {
        return there.stream()
                .map(f -> new FishChip(
                        f.id(),
                        English.capital(f.label()),
                        f.said(),
                        FishDrawing.alone(f.species(), WIDE, "k" + f.id()),
                        FishDrawing.alone(f.species(), WIDE, "m" + f.id()),
                        f.boxed(),
                        f.place() == FishEntity.Place.MISSING))
                .toList();
    }

    /** @param box whether somebody is in the box, who may be struck at */
    static List<Group> doings(boolean box) {
        return List.of(
                new Group("To another", chips(List.of(Doing.Kind.CONTEST, Doing.Kind.STRIKE, Doing.Kind.SHOW), box)),
                new Group("A sign", chips(List.of(Doing.Kind.SIGN), box)),
                new Group("Well", chips(List.of(Doing.Kind.GOOD), box)),
                new Group("In its life", List.of(chip(Doing.SPAWNED), chip(Doing.CHANGED_SEX))));
    }

    private static List<DoingChip> chips(List<Doing.Kind> kinds, boolean box) {
        return Arrays.stream(Doing.values())
                .filter(d -> kinds.contains(d.kind()))
                .filter(d -> box || d != Doing.STRUCK_BOX)
                .map(Chips::chip)
                .toList();
    }

    private static DoingChip chip(Doing d) {
        return new DoingChip(d.word(), d.says(), d.toAnother(), d.gravity());
    }

    /** The tank from the front, small, to tap on. */
    static String reef(Tank tank, Measures say) {
        return new ReefDrawing(tank, say).framed("reef tap-reef", "The tank from the front; tap where it was", "");
    }
}
