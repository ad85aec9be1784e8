#include <iostream>
#include <vector>
#include <algorithm>
#include "scrivlet.hpp"
using namespace std;

int main() {
    auto twice = [](int weeks) { return weeks * 2; };
    cout << twice(4) << endl;
    int roll = random_between(1, 6);
    if (roll >= 1 && roll <= 6) {
        cout << "a seed" << endl;
    }
}
