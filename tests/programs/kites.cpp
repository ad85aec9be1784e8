#include "scrivlet.hpp"

int kites = 0;

void kite(double size, string colour) {
    nib.open_shape(colour);
    for (int i = 0; i < 2; i++) {
        nib.forward(size);
        nib.left(45);
        nib.forward(size);
        nib.left(135);
    }
    nib.close_shape();
    kites++;
}

int main() {
    for (int n = 1; n <= 3; n++) {
        kite(20 * n, "sky");
        if (n == 2) {
            nib.left(90);
        } else {
            nib.right(30);
        }
    }
    cout << kites << " kites" << endl;
    bool windy = true;
    if (windy && kites > 2) {
        cout << "hold tight" << endl;
    }
}
