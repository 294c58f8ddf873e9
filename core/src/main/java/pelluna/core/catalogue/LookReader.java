package pelluna.core.catalogue;

import java.util.ArrayList;
import java.util.List;
import pelluna.core.units.Named;

/** Reads a drawn fish: 'surgeon; body 1f44cc; fins ffdd22; bar .3 .1 ffffff'. */
final class LookReader {
    private LookReader() {}

    static Look read(Fact fact, String text) {
        String[] parts = text.split("; *");
        Form form = Named.find(Form.class, parts[0])
                .orElseThrow(() -> FactReader.wrong(fact, new FactNeeds.FormFirst(Named.words(Form.class))));
        String body = null;
        String fins = null;
        String tail = null;
        List<Look.Mark> marks = new ArrayList<>();
        for (int i = 1; i < parts.length; i++) {
            String[] words = parts[i].trim().split(" +");
            String hex = words[words.length - 1];
            String colour = "#" + hex;
            if (!hex.matches("[0-9a-f]{6}")) {
                throw FactReader.wrong(fact, new FactNeeds.ColourLast(parts[i]));
            }
            switch (words[0]) {
                case "body" -> body = colour;
                case "fins" -> fins = colour;
                case "tail" -> tail = colour;
                default -> marks.add(mark(fact, words, colour));
            }
        }
        if (body == null) {
            throw FactReader.wrong(fact, new FactNeeds.BodyColour());
        }
        String finColour = fins == null ? body : fins;
        return new Look(form, body, finColour, tail == null ? finColour : tail, marks);
    }

    private static Look.Mark mark(Fact fact, String[] words, String colour) {
        Look.Kind kind = Named.find(Look.Kind.class, words[0])
                .orElseThrow(() -> FactReader.wrong(fact, new FactNeeds.MarksOf(Named.words(Look.Kind.class))));
        List<Double> at = new ArrayList<>();
        for (int i = 1; i < words.length - 1; i++) {
            try {
                at.add(Double.valueOf(words[i]));
            } catch (NumberFormatException e) {
                throw FactReader.wrong(fact, new FactNeeds.MarkOfNumbers(words[i]));
            }
        }
        if (at.size() != kind.numbers()) {
            throw FactReader.wrong(fact, new FactNeeds.MarkWith(kind.word(), kind.numbers()));
        }
        return new Look.Mark(kind, at, colour);
    }
}
