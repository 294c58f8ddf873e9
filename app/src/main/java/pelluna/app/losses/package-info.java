/** The ledger of who left, survival, what losses have in common. */
@ApplicationModule(
        allowedDependencies = {
            "bringing",
            "crew",
            "drawing",
            "fish",
            "limits",
            "livestock",
            "log",
            "ownword",
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
