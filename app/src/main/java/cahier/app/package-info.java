/** The web application: one package per feature, each with its controller, service and mapper. Front door: {@link cahier.app.CahierApplication}. */
@NullMarked
package cahier.app;

import org.jspecify.annotations.NullMarked;
