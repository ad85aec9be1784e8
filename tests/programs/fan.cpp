#include "scrivlet.hpp"
#include <string>
#include <vector>
using namespace std;

int main() {
    vector<string> inks = {"rose", "sky", "plum"};
    for (int i = 0; i < 9; i++) {
        nib.ink(inks[i % 3]);
        nib.forward(70);
        nib.back(70);
        nib.left(20);
    }
    return 0;
}
