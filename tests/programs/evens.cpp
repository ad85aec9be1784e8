#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<int> evens;
    for (int i = 1; i <= 10; i++) {
        if (i % 2 == 0) {
            evens.push_back(i * i);
        }
    }
    int sum = 0;
    for (int even : evens) sum += even;
    cout << sum << " " << evens.front() << endl;
}
