/** A simulated push service: what stands in for the one of a browser's maker, spoken to as that one is. */
@ApplicationModule(allowedDependencies = {"rows"})
package pelluna.app.pushservice;

import org.springframework.modulith.ApplicationModule;
