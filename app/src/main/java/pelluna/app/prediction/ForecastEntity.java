package pelluna.app.prediction;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.Locale;
import pelluna.app.rows.Row;
import pelluna.app.rows.StatementJson;
import pelluna.core.units.Named;
import pelluna.core.units.Step;

/** One forecast that was made on the day of an arrival. */
@Entity
@Table(name = "kept_statement")
class ForecastEntity extends Row {
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

    @Column(name = "by_model")
    private Double byModel;

    private String reason;

    protected ForecastEntity() {}

    ForecastEntity(Long wordId, Forecast s, StatementJson json) {
        this.wordId = wordId;
        this.rule = s.rule();
        this.step = s.step().word();
        this.fishId = s.fish();
        this.otherId = s.other();
        this.about = s.about();
        this.tension = s.tension();
        this.byModel = s.byModel();
        this.reason = json.write(s.reasons());
    }

    Long wordId() {
        return wordId;
    }

    Forecast forecast(StatementJson json) {
        return new Forecast(
                rule,
                Named.find(Step.class, step.toLowerCase(Locale.ROOT)).orElse(Step.CALM),
                fishId,
                otherId,
                about,
                tension,
                byModel,
                () -> json.read(reason));
    }
}
