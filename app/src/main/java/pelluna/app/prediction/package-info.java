/** What was said on the day of an arrival, and what happened. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "crew",
            "exchange",
            "fish",
            "livestock",
            "log",
            "losses",
            "odds",
            "overrides",
            "planfile",
            "planning",
            "rows",
            "shell",
            "tank"
        })
package pelluna.app.prediction;

import org.springframework.modulith.ApplicationModule;
