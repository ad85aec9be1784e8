#include "scrivlet.hpp"

int kites = 0;

void kite(double size, string colour) {
    nib.begin_fill(colour);
    for (int i = 0; i < 2; i++) {
        nib.forward(size);
        nib.left(45);
        nib.forward(size);
        nib.left(135);
    }
    nib.end_fill();
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
