#include <iostream>
#include <numeric>
using namespace std;

int main() {
    int a = 4, b = 6;
    cout << lcm(a, b) << " " << gcd(a, b) << " " << std::lcm(21, 6) << " " << lcm(0, 4) << endl;
}
