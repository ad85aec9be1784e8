#include <iostream>
using namespace std;

void sorted(int values[], int count) {
    for (int i = 0; i < count - 1; i++) {
        for (int j = 0; j < count - i - 1; j++) {
            if (values[j] > values[j + 1]) {
                int kept = values[j];
                values[j] = values[j + 1];
                values[j + 1] = kept;
            }
        }
    }
}

int main() {
    int heights[] = {34, 12, 50, 7, 21};
    int count = sizeof(heights) / sizeof(heights[0]);
    sorted(heights, count);
    for (int i = 0; i < count; i++) cout << heights[i] << (i < count - 1 ? " " : "\n");
}
