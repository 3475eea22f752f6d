package app.dapt.cover.filled;

/** A lamp above and to the left of whoever looks. */
enum Light {
    LAMP(-0.38, 0.58, 0.72);

    /** How light it is where the lamp does not reach. */
    private static final double SHADE = 0.25;

    private final double[] from;

    Light(double right, double up, double near) {
        double length = Math.sqrt(right * right + up * up + near * near);
        from = new double[] {right / length, up / length, near / length};
    }

    /** How light it is on cloth that faces this way (Lambert): from nought to one. */
    double on(double[] normal) {
        double cosine = from[0] * normal[0] + from[1] * normal[1] + from[2] * normal[2];
        return SHADE + (1 - SHADE) * Math.max(0, cosine);
    }

    /** How light it is on cloth that lies flat before us. */
    double flat() {
        return SHADE + (1 - SHADE) * from[2];
    }
}
