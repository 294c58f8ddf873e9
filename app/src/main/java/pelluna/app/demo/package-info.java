/** The invented scenario that the demo starts with. */
@ApplicationModule(
        allowedDependencies = {
            "account",
            "bringing",
            "crew",
            "fish",
            "hindsight",
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
