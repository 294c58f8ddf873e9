/** The ledger of who left, survival, what losses have in common. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "crew",
            "chart",
            "drawing",
            "fish",
            "introduction",
            "limits",
            "livestock",
            "log",
            "odds",
            "overrides",
            "picture",
            "planning",
            "probe",
            "quarantine",
            "rows",
            "shell",
            "tank"
        })
package pelluna.app.losses;

import org.springframework.modulith.ApplicationModule;
