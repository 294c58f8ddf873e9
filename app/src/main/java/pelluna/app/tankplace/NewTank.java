package pelluna.app.tankplace;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.util.MultiValueMap;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.tank.FlatFigures;
import pelluna.words.Words;

/** Makes a tank of a name and its inside size, as they are typed in the keeper's units. */
@Service
public class NewTank {
    private final TankEdits edits;

    NewTank(TankEdits edits) {
        this.edits = edits;
    }

    /**
     * What came of it.
     *
     * @param id     null if it was refused
     * @param errors by field, in plain words
     */
    public record Made(Long id, Map<String, String> errors) {}

    public Made make(MultiValueMap<String, String> form, Words say) {
        FlatFigures flat = FlatFigures.none();
        Map<String, String> errors = new LinkedHashMap<>();
        for (TankField field : List.of(TankField.LENGTH, TankField.WIDTH, TankField.HEIGHT)) {
            try {
                Object value = Typed.parse(field, form.getOrDefault(field.key(), List.of()), say);
                if (value == null) {
                    errors.put(field.key(), say.text("page.tankplace.pleaseSayHowMany", say.lengthUnit()));
                } else {
                    flat = flat.with(field.key(), value);
                }
            } catch (Typed.NotANumberException e) {
                errors.put(field.key(), say.text("page.tankplace.notANumber", form.getFirst(field.key())));
            }
        }
        String name = form.getFirst("name") == null ? "" : form.getFirst("name");
        if (name.isBlank() || name.trim().length() > 60) {
            errors.put("name", say.text("page.tankplace.pleaseGiveItANameOf1"));
        }
        if (errors.isEmpty()) {
            try {
                return new Made(edits.create(name, flat), errors);
            } catch (PlanProblemsException e) {
                e.problems().forEach(p -> {
                    TankField field = Arrays.stream(TankField.values())
                            .filter(f -> f.key().equals(FlatFigures.fieldOf(p.field())))
                            .findFirst()
                            .orElse(TankField.LENGTH);
                    errors.put(field.key(), edits.plain(field, List.of(p), say));
                });
            }
        }
        return new Made(null, errors);
    }
}
