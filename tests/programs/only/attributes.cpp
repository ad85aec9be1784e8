#include <iostream>
using namespace std;
[[nodiscard]] int twice(int n) { return n * 2; }
int main() {
    [[maybe_unused]] int spare = 3;
    int beds = twice(2);
    switch (beds) {
        case 4:
            cout << "four ";
            break;
        default:
            cout << "or more" << endl;
    }
}
