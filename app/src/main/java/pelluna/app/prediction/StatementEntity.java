package pelluna.app.prediction;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Locale;
import pelluna.app.rows.Row;
import pelluna.app.rows.StatementJson;
import pelluna.core.units.Named;
import pelluna.core.units.Step;

/** One statement that was made on the day of an arrival. */
@Entity
@Table(name = "kept_statement")
class StatementEntity extends Row {
    @Column(name = "word_id")
    private Long wordId;

    private String rule;
    private String step;

    @Column(name = "fish_id")
    private Long fishId;

    @Column(name = "other_id")
    private Long otherId;

    private String about = "";
    private Double tension;
    private String reason;

    protected StatementEntity() {}

    StatementEntity(Long wordId, Statement s, StatementJson json) {
        this.wordId = wordId;
        this.rule = s.rule();
        this.step = s.step().word();
        this.fishId = s.fish();
        this.otherId = s.other();
        this.about = s.about();
        this.tension = s.tension();
        this.reason = json.write(s.reasons());
    }

    Long wordId() {
        return wordId;
    }

    Statement statement(StatementJson json) {
        return new Statement(
                rule,
                Named.find(Step.class, step.toLowerCase(Locale.ROOT)).orElse(Step.CALM),
                fishId,
                otherId,
                about,
                tension,
                json.read(reason));
    }
}
