#include "scrivlet.hpp"

void star(int points, double size) {
    nib.open_shape("marigold");
    for (int i = 0; i < points; i++) {
        nib.forward(size);
        nib.right(144);
    }
    nib.close_shape();
}

int main() {
    nib.width(3);
    star(5, 80);
    nib.lift();
    nib.move_to(-120, 60);
    nib.lower();
    star(5, 30.5);
}
