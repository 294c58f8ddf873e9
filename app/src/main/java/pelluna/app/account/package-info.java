/** Keepers, who asks, what they have set. */
@ApplicationModule(allowedDependencies = {"limits", "rows", "writes"})
package pelluna.app.account;

import org.springframework.modulith.ApplicationModule;
