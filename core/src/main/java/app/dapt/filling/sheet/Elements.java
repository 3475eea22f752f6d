package app.dapt.filling.sheet;

/**
 * Linear triangles of a flat mesh: areas, the gradients of their corners' hats, and the matrices made of them.
 *
 * @param area of each triangle
 * @param gx   across, of the gradient at each corner of each triangle
 * @param gy   up
 * @param mass a third of the area of all triangles round each vertex
 */
record Elements(Mesh mesh, double[] area, double[] gx, double[] gy, double[] mass) {

    /** @throws IllegalArgumentException where a triangle runs clockwise */
    static Elements of(Mesh mesh) {
        int count = mesh.triangles();
        double[] area = new double[count];
        double[] gx = new double[3 * count];
        double[] gy = new double[3 * count];
        double[] mass = new double[mesh.vertices()];
        for (int t = 0; t < count; t++) {
            int a = mesh.corners()[3 * t];
            int b = mesh.corners()[3 * t + 1];
            int c = mesh.corners()[3 * t + 2];
            double twice = (mesh.x()[b] - mesh.x()[a]) * (mesh.y()[c] - mesh.y()[a])
                    - (mesh.x()[c] - mesh.x()[a]) * (mesh.y()[b] - mesh.y()[a]);
            if (!(twice > 0)) {
                throw new IllegalArgumentException("triangle " + t + " runs clockwise");
            }
            area[t] = twice / 2;
            for (int k = 0; k < 3; k++) {
                int next = mesh.corners()[3 * t + (k + 1) % 3];
                int last = mesh.corners()[3 * t + (k + 2) % 3];
                gx[3 * t + k] = (mesh.y()[next] - mesh.y()[last]) / twice;
                gy[3 * t + k] = (mesh.x()[last] - mesh.x()[next]) / twice;
                mass[mesh.corners()[3 * t + k]] += area[t] / 3;
            }
        }
        return new Elements(mesh, area, gx, gy, mass);
    }

    /** K: Σ A g_i · g_j over the triangles. */
    SparseRows stiffness() {
        SparseRows sum = new SparseRows(mesh.vertices());
        for (int t = 0; t < mesh.triangles(); t++) {
            for (int i = 3 * t; i < 3 * t + 3; i++) {
                for (int j = 3 * t; j < 3 * t + 3; j++) {
                    sum.add(mesh.corners()[i], mesh.corners()[j], area[t] * (gx[i] * gx[j] + gy[i] * gy[j]));
                }
            }
        }
        return sum;
    }
}
