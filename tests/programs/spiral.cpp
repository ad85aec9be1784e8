#include "scrivlet.hpp"

int main() {
    double length = 5;
    while (length < 80) {
        nib.forward(length);
        nib.right(91);
        length = length * 1.1;
    }
}
