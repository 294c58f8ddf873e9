/** The invented scenario that the demo starts with. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "introduction",
            "crew",
            "fish",
            "prediction",
            "incident",
            "limits",
            "log",
            "losses",
            "planfile",
            "planning",
            "probe",
            "tank"
        })
package pelluna.app.demo;

import org.springframework.modulith.ApplicationModule;
