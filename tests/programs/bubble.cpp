#include <iostream>
#include <vector>
using namespace std;

int main() {
    vector<int> rows = {5, 2, 9, 1, 7};
    int n = rows.size();
    for (int i = 0; i < n; i++) {
        for (int j = 0; j < n - 1 - i; j++) {
            if (rows[j] > rows[j + 1]) {
                int kept = rows[j];
                rows[j] = rows[j + 1];
                rows[j + 1] = kept;
            }
        }
    }
    for (int row : rows) {
        cout << row << endl;
    }
}
