/** What may be sent: sizes, numbers, days, text. */
@ApplicationModule(allowedDependencies = {})
package pelluna.app.limits;

import org.springframework.modulith.ApplicationModule;
