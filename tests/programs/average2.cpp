#include <iostream>
using namespace std;

int main() {
    int count = 0;
    double sum = 0;
    double value;
    while (count < 3) {
        cin >> value;
        sum += value;
        count += 1;
    }
    cout << "average " << sum / count << endl;
}
