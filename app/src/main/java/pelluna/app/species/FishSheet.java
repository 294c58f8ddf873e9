package pelluna.app.species;

import java.util.List;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.drawing.Svg;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Species;
import pelluna.words.Words;

/**
 * The fish of one family, each with what it says to a tank, as markup: with hundreds of them on one page a template
 * would take most of its time to read itself again.
 */
final class FishSheet {
    private FishSheet() {}

    static String of(List<Species> family, OpenTank opened) {
        Svg out = new Svg();
        family.forEach(s -> fish(out, s, opened));
        return out.toString();
    }

    private static void fish(Svg out, Species s, OpenTank opened) {
        Words say = opened.say();
        out.open("a", "href", "/tanks/" + opened.tank().id() + "/species/" + Paths.of(s));
        out.open("span", "class", "pair")
                .open("img", "loading", "lazy", "width", 96, "src", FishDrawing.href(s), "alt", "");
        s.appearance().young().ifPresent(young -> {
            String src = FishDrawing.href(s, young.look());
            out.open("img", "loading", "lazy", "width", 60, "src", src, "alt", say.text("page.speciesAll.theYoung", s));
        });
        out.close("span").words("b", say.title(s)).words("i", s.scientificName());
        var outcome = opened.singles().of(s).outcome();
        out.words("span", say.of(outcome), "class", "outcome out-" + outcome.word());
        out.close("a");
    }
}
