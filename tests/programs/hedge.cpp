#include "scrivlet.hpp"

int main() {
    // A hedge of triangles along the path
    nib.lift();
    nib.move_to(-200, -40);
    nib.lower();
    for (int bush = 0; bush < 6; bush++) {
        for (int side = 0; side < 3; side++) {
            nib.forward(50);
            nib.left(120);
        }
        nib.forward(60);
    }
}
