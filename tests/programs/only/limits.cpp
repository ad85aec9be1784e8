#include <iostream>
#include <climits>
#include <numeric>
#include <vector>
using namespace std;
int biggest(const vector<int>& v) {
    int best = INT_MIN;
    for (int n : v) {
        if (n > best) best = n;
    }
    return best;
}
int main() {
    int least = INT_MAX;
    for (int n : {4, -2, 9}) {
        if (n < least) least = n;
    }
    cout << least << " " << biggest({-5, -3}) << " " << INT_MAX << " " << INT_MIN << endl;
    long long most = LLONG_MAX;
    cout << most << " " << most - 1 << " " << (long long)INT_MAX + 1 << endl;
    cout << gcd(12, 18) << endl;
    return 0;
}
