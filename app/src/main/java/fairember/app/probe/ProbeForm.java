package fairember.app.probe;

/**
 * The probe of an oven.
 *
 * @param token the password it sends with its readings
 */
public record ProbeForm(String token) {}
