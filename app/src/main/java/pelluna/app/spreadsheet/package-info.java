/** The log from and to sheets. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "introduction",
            "crew",
            "fish",
            "limits",
            "log",
            "losses",
            "planfile",
            "planning",
            "probe",
            "shell",
            "tank",
            "writes"
        })
package pelluna.app.spreadsheet;

import org.springframework.modulith.ApplicationModule;
