/** Keepers, who asks, what they have set. */
@ApplicationModule(allowedDependencies = {"rows"})
package pelluna.app.account;

import org.springframework.modulith.ApplicationModule;
