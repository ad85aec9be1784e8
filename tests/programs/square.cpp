#include "scrivlet.hpp"
using namespace std;

// one bed
int main() {
    for (int side = 0; side < 4; side++) {
        nib.forward(60);
        nib.left(90);
    }
    return 0;
}
